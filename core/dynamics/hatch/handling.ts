/** Time a vessel needs after its last pull before it can be started again, h. */
export const CLEAN_UP_H = 1

/** Longest hold in the fridge that still makes a meal, h (Lavens & Sorgeloos 1996: 24 to 48 h). */
export const CHILLED_HOLD_H = 24

/** Days from a filled bottle to the first pull, as one counts on before there is a bottle (working estimate). */
export const FIRST_PULL_D = 1

/** A second pull must save at least this share of the cysts to be worth the extra work. */
export const SECOND_PULL_GAIN = 0.08

/** Loose density of dry cysts, g/mL: working estimate (0.50 to 0.66), weigh your own spoon once. */
export const CYST_DENSITY_G_PER_ML = 0.58

/** How long shells need to rise and nauplii to sink after the air is off, minutes. */
export const SETTLE_MINUTES = 10
