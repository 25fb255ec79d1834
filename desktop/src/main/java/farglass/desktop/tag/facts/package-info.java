/** What is told of a chosen moment beyond its story, by forms: one for each concept, with a body to point at. */
package farglass.desktop.tag.facts;
