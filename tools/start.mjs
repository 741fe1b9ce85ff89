/** npm start: serves the build to this machine alone, unless HOST says otherwise. */
process.env.HOST ??= '127.0.0.1'
process.env.PORT ??= '3000'
const { HOST, PORT } = process.env
const here = ['127.0.0.1', 'localhost', '::1'].includes(HOST)
console.log(
  here
    ? `http://localhost:${PORT}, open to this machine only. HOST=0.0.0.0 opens it to the network.`
    : `Port ${PORT} on ${HOST}: whoever reaches this machine can open the page and its routes under /api. Rooms stay in the browsers. HOST=127.0.0.1 keeps it to this machine.`,
)
await import('../.output/server/index.mjs')
