/** The book on disk: SQLite with migrations, one writer, revisions for undo and redo. */
package mellowflare.book.store;
