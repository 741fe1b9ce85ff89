import { expose } from 'comlink'
import { CultureReader } from '~/engine/cultureReader'

expose(new CultureReader())
