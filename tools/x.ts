import { writeFileSync } from 'node:fs'
import { demoAt } from './rooms/demoAt'
const now = '2026-03-24T05:34:00.000Z'
writeFileSync('/tmp/demo.json', JSON.stringify({ room: demoAt(now, 'Europe/Berlin'), at: now }))
