/** The page of gas lines: the line in space, source, appliances, sizes, site, test. */
package mellowflare.app.gas;
