/** What opens in the panel beside the picture, and in a row of the rail: fetched once the tray itself stands. */
export { curvePlot } from '../../rail/CurveLane';
export { BirdPanel } from './lots/BirdPanel';
export { LotPanel } from './lots/LotPanel';
export { DoneFields } from './programme/DoneFields';
export { OvenFields } from './programme/OvenFields';
export { TendingFields } from './programme/TendingFields';
export { CurveView } from './views/CurveView';
export { InsideView } from './views/InsideView';
export { RecipeView } from './views/RecipeView';
export { WaysView } from './views/WaysView';
