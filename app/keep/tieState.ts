/** How a folder or file stands that the room is tied to. `ask`: the browser wants a tap before it lets the page in again. `gone`: it is not where it was. */
export type TieState = 'off' | 'on' | 'ask' | 'gone' | 'failed'
