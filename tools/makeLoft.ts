/** npm run loft: the weeks of the demo room, lived once and put beside the app's files. The build calls it. */
import { writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { loftText } from './rooms/demoAt'

writeFileSync(fileURLToPath(new URL('../public/loft.json', import.meta.url)), loftText())
