import { expect, it } from 'vitest'
import { isMisspeltApi } from '../../server/utils/apiSpelling'

it.each(['/api/health', '/api/box/0123?x=1', '/', '/setup', '/shelf/api', '/methods/apiary'])(
  '%s is left alone',
  path => expect(isMisspeltApi(path)).toBe(false),
)
it.each([
  '/api',
  '/api/',
  '/API/health',
  '/Api/plan',
  '//api',
  '//api/health',
  '/api%00',
  '/a%E2%80%8Bpi/health',
  '/api//health',
  '/%61pi/health',
  '/%2561pi/health',
  '/api%2fhealth',
  '/./api/health',
  '/x/../api/health',
  '/api/../api/health',
  '/\\api\\health',
  '/api;v=1/health',
  '/ api/health',
])('%s means the routes and is refused', path => expect(isMisspeltApi(path)).toBe(true))
