/** Where on the page of a plan the glance leads to. */
export const RESULTS_ID = 'what-you-should-get';
/** Where the warnings stand. */
export const BEFORE_ID = 'before-you-start';
