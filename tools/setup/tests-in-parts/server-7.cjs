require('./in-parts.cjs').together('apps/server', 7, 8);
