export { understandJoint, type UnderstoodJoint } from './understandJoint.js';
