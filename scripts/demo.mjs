import { build, checkNode, install, serve } from './common.mjs';

checkNode();
install();
build();
serve('demo');
