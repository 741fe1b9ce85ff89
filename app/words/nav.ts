/** The views that exist, in the order of the spine. A group starts where `rule` is set; on a phone the others are under More. */
export const VIEWS = [
  { to: '/', name: 'Round', short: 'Round', phone: true },
  { to: '/shelf', name: 'Shelf', short: 'Shelf', phone: true },
  { to: '/broods', name: 'Broods', short: 'Broods', phone: true },
  { to: '/ahead', name: 'Ahead', short: 'Ahead', phone: true },
  { to: '/bench', name: 'Hatch bench', short: 'Bench', phone: false, rule: true },
  { to: '/thermometers', name: 'Warmth', short: 'Warmth', phone: false },
  { to: '/gel', name: 'Gel kitchen', short: 'Gel', phone: false },
  { to: '/stores', name: 'Stores', short: 'Stores', phone: false },
  { to: '/trials', name: 'Trials', short: 'Trials', phone: false },
  { to: '/count', name: 'Count', short: 'Count', phone: false },
  { to: '/practice', name: 'Practice', short: 'Practice', phone: false },
  { to: '/methods', name: 'Methods', short: 'Methods', phone: false },
  { to: '/log', name: 'Log', short: 'Log', phone: false, rule: true },
  { to: '/setup', name: 'Setup', short: 'Setup', phone: false },
] as const
