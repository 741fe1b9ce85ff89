import fc from 'fast-check'

/** Property tests draw the same cases at each run; another number looks further. */
const seed = Number(process.env.FC_SEED ?? 20_261)
fc.configureGlobal({ seed })
