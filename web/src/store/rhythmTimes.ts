export { timesOf } from '@ironpan/core/schedule';
