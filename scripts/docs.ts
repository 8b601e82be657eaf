import { writeFileSync } from 'node:fs';
import { checksDocs, planFileDocs } from '@ironpan/core/formats';

writeFileSync(new URL('../docs/plan-file.md', import.meta.url), planFileDocs());
writeFileSync(new URL('../docs/checks.md', import.meta.url), checksDocs());
