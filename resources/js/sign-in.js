// Who comes here is signed out, by hand, by an owner, or by time: the pages kept for them are not for whoever comes next.
globalThis.caches?.delete('orbek-pages');
