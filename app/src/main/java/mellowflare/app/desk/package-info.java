/** The job on the desk: changing, saving in the background, undo and redo. No window needed. */
package mellowflare.app.desk;
