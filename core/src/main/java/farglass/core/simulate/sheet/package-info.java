/** The written game sheets of the demo's athletes: what each does from where, how often and how well, before anybody acts it. */
package farglass.core.simulate.sheet;
