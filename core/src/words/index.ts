export { join, grams, millilitres, celsius, percent, duration, roughly, clock, figureText, upper } from './format';
export type { Spoken } from './format';
export { coolingAsks, coolingStages, coolingWayName } from './cooling';
export { warningText, fixText, SPOKEN } from './warnings';
export { instruction } from './bench';
export { bathText, keptByHand } from './byHand';
export { cautionsOf } from './cautions';
export {
  boilText,
  FOAMED_OVER,
  holdText,
  overflowText,
  SILENT_PROBE,
  SILENT_SCALE,
  stirText,
  weighText,
  windowText,
} from './heard';
export { muchOf } from './much';
export { rescueDone, rescueText, rescueThen, TROUBLE_NAMES } from './rescue';
export { iceText, thawAheadText } from './ice';
export { heatedText } from './heated';
export { allergensText } from './allergens';
export { endQuestionText } from './endQuestion';
export type { EndQuestionText } from './endQuestion';
export { heatOwedText } from './heatOwed';
export { reviewText } from './review';
export { headlineText } from './headline';
export { biasText, changedText, keepTruthText, learningText, promisedName, truthText } from './truth';
export { usesText } from './byProducts';
export { calibrationText, funnelText, measuredText, shareText } from './measured';
export { codeTyped, jarCode, labelText } from './label';
export type { LabelText } from './label';
export { hotWaterOf, hotWaterText } from './hotWater';
export { maltText } from './malt';
export { taskName } from './tasks';
export type { Instruction } from './instruction';
export { changeText, inSeveral, topUpText, fitText, taughtText } from './changes';
export { numberFaultText, orderFaultText, placeFaultText } from './faults';
export { foodName, loadsAfter } from './language';
export { saidText, stepText, stepTitle } from './stepText';
export { HYGIENE, CHOICES, streamName, TREATMENT_SHORT, TREATMENT_WORDS } from './labels';
export { runNames } from './stations';
export { milkOf, milkName, foodOf } from './food';
export { planNameAfter, planNameOf } from './planName';
export type { FoodWords } from './food';
export {
  BODY_WORDS,
  SLIP_WORDS,
  MEASURE_NAMES,
  USE_NAMES,
  USE_COUNTS,
  CLASS_NAMES,
  thickness,
  bodyText,
  measureText,
  reasonText,
  classText,
  stopText,
} from './measures';
export { leverName, leverPlace, leverValue, remedyText, COMPLAINT_NAMES } from './levers';
export { ASKS, PASTED_CUT, PASTED_EMPTY, PASTED_LEFT, PASTED_NOTHING } from './pasted';
export { ABANDONED_WHY, SKIPPED_WHY, THROWN_WHY, whyText } from './reasons';
export { WATER_CUP_G } from './amounts';
export {
  CAME_BACK_WORDS,
  clearText,
  fateText,
  LAYER_WORDS,
  layersText,
  partsText,
  saidOn,
  SCALES,
  SIGN_WORDS,
  wasText,
} from './looks';
export type { Said } from './looks';
export { lastsText, limitText, OUT_WORDS, outText, PLACE_WORDS, uncooledText, whileText } from './shelf';
export { slackText, whyThenText } from './timetable';
export type { Names } from './timetable';
export {
  causesText,
  coefficientName,
  differenceName,
  differenceText,
  differenceValue,
  movedText,
  stepNamed,
  timesUsual,
  togetherText,
  verdictText,
  wayText,
} from './comparing';
export {
  aliasText,
  apartText,
  askedName,
  askedText,
  couldTell,
  effectText,
  factorName,
  factorText,
  factorValue,
  noughtText,
  tellingText,
  termText,
} from './trials';
export type { Asked } from './trials';
export { chanceText, moreOf, powerText, tastedText, tastingAsks, TASTING_NAMES, tooFewText } from './tastings';
export type { Counted, Test } from './tastings';
export { scaleFigure, scaleName, SCALE_OF, wordingText } from './wording';
export { readingFaultText } from './readingsIn';
export { cardOf } from './card';
export type { Card, CardLine, CardStep } from './card';
