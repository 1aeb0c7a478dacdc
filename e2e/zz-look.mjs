import { chromium } from 'playwright-core';
const base='http://127.0.0.1:4620';
const shots=JSON.parse(process.argv[2]);
const b=await chromium.launch({executablePath:'/usr/bin/chromium-headless-shell'});
for (const [name,path,w,h,full] of shots){
  const c=await b.newContext({viewport:{width:w,height:h}});
  await c.request.post(base+'/api/session/demo',{data:{role:'owner'},headers:{origin:base}});
  const p=await c.newPage();
  p.on('framenavigated', f=>console.log('NAV',f.url()));
  await p.goto(base+path); await p.waitForLoadState('networkidle'); await p.waitForFunction(()=>!document.body.innerText.includes('Fetching'),null,{timeout:30000}).catch(()=>{});
  await p.waitForTimeout(1200);
  await p.screenshot({path:`/tmp/${name}.png`,fullPage:!!full});
  await c.close();
}
await b.close();
