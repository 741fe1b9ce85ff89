export { harvestSigns, signs } from '../nematodeSigns'
