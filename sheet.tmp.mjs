import { chromium } from '@playwright/test';
import { readFileSync } from 'node:fs';
const [out, cols, w, h, ...files] = process.argv.slice(2);
const b = await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu']});
const p = await b.newPage({viewport:{width:+cols*+w,height:Math.ceil(files.length/+cols)*+h}});
await p.setContent('<body style="margin:0;display:grid;grid-template-columns:repeat('+cols+',1fr)">'+files.map(f=>`<img style="width:${w}px;height:${h}px;object-fit:contain;object-position:top" src="data:image/png;base64,${readFileSync(f).toString('base64')}">`).join('')+'</body>');
await p.waitForTimeout(500);
await p.screenshot({path:out}); await b.close();
