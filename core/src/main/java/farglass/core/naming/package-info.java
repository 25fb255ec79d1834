/** What a phrase names: words as they are typed, their forms, slips of the finger, and many places in few words. */
package farglass.core.naming;
