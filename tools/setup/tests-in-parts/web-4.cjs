require('./in-parts.cjs').together('apps/web', 4, 6);
