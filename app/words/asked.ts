/** What people ask for by other words than the views carry: where it is done, and what there is to say of it. */
export const ASKED = [
  { key: 'act-walk', name: 'Walk the round', to: '/walk', more: 'one stop phone now today' },
  { key: 'act-start', name: 'Start a culture', to: '/shelf/start', more: 'new jar vessel' },
  { key: 'act-brood', name: 'Add a brood', to: '/broods?new=1', more: 'new fry eggs spawn' },
  {
    key: 'act-aid',
    name: 'Power cut, heater off',
    to: '/firstaid',
    more: 'first aid electricity air pump failed emergency',
    answer: 'What suffers first stands first, with the hours it has and what to do.',
  },
  {
    key: 'act-labels',
    name: 'Print labels',
    to: '/labels',
    more: 'label tape code qr sticker',
    answer: 'For all vessels or those you choose, with a code that a phone reads.',
  },
  {
    key: 'act-away',
    name: 'A sheet for who looks after the room',
    to: '/ahead/sitter',
    more: 'away holiday travel weekend gone sitter leave',
    answer: 'Days away, one page: what to give, how much, from where, day by day.',
  },
  {
    key: 'act-undo',
    name: 'Take something back',
    to: '/log',
    more: 'undo mistake wrong correct delete entry',
    answer:
      'Undo stands for ten seconds where you tapped. Later every act can be taken back or put right in the Log.',
  },
  {
    key: 'act-export',
    name: 'Export the room, or bring one back',
    to: '/setup#data',
    more: 'backup copy save import restore file move phone data',
  },
  { key: 'act-print', name: 'Print the round', to: '/sheet', more: 'paper csv table calendar' },
  {
    key: 'act-rounds',
    name: 'Rounds, their minutes, units and colours',
    to: '/setup#room',
    more: 'settings dark light theme gallons fahrenheit cups time language evening morning',
  },
] as const satisfies readonly {
  key: string
  name: string
  to: string
  more: string
  answer?: string
}[]
