export { harvestSigns, signs } from '../cladoceranSigns'
