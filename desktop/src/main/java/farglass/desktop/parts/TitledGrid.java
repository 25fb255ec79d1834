package farglass.desktop.parts;

import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** Rows that begin with a title: the titles keep their width, what follows takes the rest. */
public class TitledGrid extends GridPane {
    public TitledGrid() {
        setHgap(12);
        setVgap(6);
        ColumnConstraints titles = new ColumnConstraints();
        titles.setMinWidth(130);
        ColumnConstraints rest = new ColumnConstraints();
        rest.setHgrow(Priority.ALWAYS);
        getColumnConstraints().addAll(titles, rest);
    }
}
