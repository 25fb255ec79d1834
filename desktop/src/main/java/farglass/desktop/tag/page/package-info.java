/** The page that puts the rooms of Tag together, with its commands and keys. */
package farglass.desktop.tag.page;
