/** The house lists of air as open files that users put in the place of the shipped ones: tools, compressors, sizes of pipe. */
package mellowflare.core.air.lists;
