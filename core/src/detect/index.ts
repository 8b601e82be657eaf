export type { Picture } from './picture';
export { layersOfPicture, layersWithin } from './layers';
export type { SeenLayers } from './layers';
export { namedLayers } from './naming';
