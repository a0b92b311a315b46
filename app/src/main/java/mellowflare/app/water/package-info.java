/** The page of water points: pipe and equipment, sets of parts, the bag, the site. */
package mellowflare.app.water;
