/** Names of the two databases: the user's room, and the demo room that is made anew every day. */
export const DATABASES = { own: 'renatus', demo: 'renatus-demo' } as const
export type WhichRoom = keyof typeof DATABASES
