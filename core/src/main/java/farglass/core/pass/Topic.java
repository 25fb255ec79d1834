package farglass.core.pass;

/**
 * What a question belongs to, so that alike ones stand together and the most telling come first.
 *
 * @param figure the figure that the answer teaches: "answers to knee-cut"
 * @param athlete whose figure it is, by name; empty where nobody is named
 * @param alike the same for questions that mostly have the same answer
 * @param words what the alike ones have in common, for people to read: "Juno: frame after Pip’s knee cut"
 */
public record Topic(String figure, String athlete, String alike, String words) {}
