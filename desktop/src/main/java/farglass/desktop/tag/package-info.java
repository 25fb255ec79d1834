/** The Tag place: a match taken apart as a conversation, beside its film. Start at {@link farglass.desktop.tag.Tagging}; all is put together in {@code page}. */
package farglass.desktop.tag;
