require('./in-parts.cjs').together('apps/server', 6, 8);
