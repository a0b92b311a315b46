/** Sets of parts between house pipe and equipment, ranked, and the nipple through the wall. */
package mellowflare.core.water.choose;
