/** npm start: serves the build to this machine alone, unless HOST says otherwise. */
process.env.HOST ??= '127.0.0.1'
process.env.PORT ??= '3000'
await import('../.output/server/index.mjs')
