require('./in-parts.cjs').together('apps/web', 6, 6);
