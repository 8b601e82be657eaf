// Stands in for helpers of the PDF library that are never called here.
export default {};
