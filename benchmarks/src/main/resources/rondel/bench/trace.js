// Traces pictures with the npm package potrace; prints the least time of some runs in ms, and the path, a line for each.
const potrace = require(process.argv[2]);
const files = process.argv.slice(3);
const next = () => {
  const file = files.shift();
  if (!file) return;
  const tracer = new potrace.Potrace();
  tracer.loadImage(file, (error) => {
    if (error) throw error;
    let best = Infinity;
    let tag = '';
    for (let i = 0; i < 15; i++) {
      tracer.setParameters({ turdSize: 2 + (i % 2) });
      const start = process.hrtime.bigint();
      tag = tracer.getPathTag();
      best = Math.min(best, Number(process.hrtime.bigint() - start) / 1e6);
    }
    console.log(best + ' ' + tag.match(/ d="([^"]*)"/)[1]);
    next();
  });
};
next();
