export { harvestSigns, signs } from '../enchytraeidSigns'
