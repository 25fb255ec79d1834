/** The Tag place: a match taken apart as a conversation, beside its film. Start at {@link farglass.desktop.tag.TagModel}. */
package farglass.desktop.tag;
