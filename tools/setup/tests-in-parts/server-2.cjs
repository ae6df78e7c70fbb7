require('./in-parts.cjs').together('apps/server', 2, 8);
