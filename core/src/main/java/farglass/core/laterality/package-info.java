/**
 * The arithmetic of left and right, which the product does and never the person: sides called from somebody's view turned
 * into owned ones, same side and cross, near and far, which limb a lock takes, and what two stances mean for each other.
 */
package farglass.core.laterality;
