import { chromium } from '@playwright/test';
// usage: node look.tmp.mjs out.png width height url [full]
const [out,w,h,...urls]=process.argv.slice(2);
const b=await chromium.launch({executablePath:'/usr/bin/chromium',args:['--no-sandbox','--disable-gpu','--disable-background-networking']});
const c=await b.newContext({viewport:{width:+w,height:+h}}); const p=await c.newPage();
p.on('console',m=>m.type()==='error'&&console.log('console:',m.text())); p.on('pageerror',e=>console.log('pageerror:',e.message));
await p.goto('http://localhost:4799/'); await p.getByRole('heading',{name:'Bench',exact:true}).waitFor();
let i=0; for(const u of urls){ const [path,...acts]=u.split('@@'); await p.goto('http://localhost:4799'+path); await p.waitForTimeout(900);
 for(const a of acts){ try { await eval('(async()=>{'+a+'})()'); } catch(e){console.log('act failed',a,e.message.slice(0,300));} await p.waitForTimeout(500);} 
 await p.screenshot({path: urls.length>1? out.replace('.png',`-${i}.png`):out}); i++; }
await b.close();
