/** What all kinds of line share on screen: ports, service, kind, lists, papers. */
package mellowflare.app.line;
