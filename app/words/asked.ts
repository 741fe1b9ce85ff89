/** What people ask for by other words than the views carry: where it is done, and what there is to say of it. */
export const ASKED = [
  { key: 'act-walk', name: 'Walk the round', to: '/walk', more: 'one stop phone now today' },
  { key: 'act-start', name: 'Start a culture', to: '/shelf/start', more: 'new jar vessel' },
  { key: 'act-brood', name: 'Add a brood', to: '/broods?new=1', more: 'new fry eggs spawn' },
  {
    key: 'act-shells',
    name: 'Take the shells off cysts',
    to: '/decapsulate',
    more: 'decapsulate decapsulation bleach hypochlorite chlorine orange',
    answer: 'From the label of the bleach to orange, one step at a time with its clock.',
  },
  {
    key: 'act-warmth',
    name: 'Read a thermometer, or a logger’s file',
    to: '/thermometers',
    more: 'temperature probe alarm min max csv sensor instrument live',
    answer: 'What is read moves hatches, cultures and the growth of fry.',
  },
  {
    key: 'act-weigh',
    name: 'Weigh salt or cysts',
    to: '/weigh',
    more: 'scale balance grams spoon heaped yeast powder',
    answer: 'The target, what lies on the scale, and what is missing.',
  },
  {
    key: 'act-aid',
    name: 'Power cut, heater off or stuck on, heat',
    to: '/firstaid',
    more: 'first aid electricity air pump failed emergency hot heat wave',
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
