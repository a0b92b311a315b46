/** Where a figure comes from, tables read from CSV resources, and the one immutable bundle of reference data. */
package mellowflare.core.reference;
