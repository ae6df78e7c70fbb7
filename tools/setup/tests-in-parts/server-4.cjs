require('./in-parts.cjs').together('apps/server', 4, 8);
