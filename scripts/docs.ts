import { writeFileSync } from 'node:fs';
import { planFileDocs } from '@ironpan/core/formats';

writeFileSync(new URL('../docs/plan-file.md', import.meta.url), planFileDocs());
