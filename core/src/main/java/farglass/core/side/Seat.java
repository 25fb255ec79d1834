package farglass.core.side;

/** One of the two athletes of a bout; which of them is under study is not the bout's business. */
public enum Seat {
    A,
    B;

    public Seat other() {
        return this == A ? B : A;
    }
}
