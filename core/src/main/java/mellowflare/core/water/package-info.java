/** A household water point: from the house pipe to the equipment. */
package mellowflare.core.water;
