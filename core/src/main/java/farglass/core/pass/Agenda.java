package farglass.core.pass;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What a pass still has to ask of a bout: alike questions together, those in front whose answers teach the study most.
 *
 * @param items the most telling first; within each the questions are in the order of the film
 */
public record Agenda(List<Item> items) {
    /**
     * Questions that mostly have the same answer.
     *
     * @param worth how much one answer teaches, by {@link StudyNeeds#worth}
     */
    public record Item(Topic topic, double worth, List<PassQuestion> questions) {
        public Item {
            questions = List.copyOf(questions);
        }
    }

    public Agenda {
        items = List.copyOf(items);
    }

    /** Of two topics worth the same, the one with more questions comes first, and then the one that the film shows first. */
    static Agenda of(List<PassQuestion> inOrderOfFilm, StudyNeeds needs) {
        Map<String, List<PassQuestion>> alike = new LinkedHashMap<>();
        for (PassQuestion question : inOrderOfFilm) {
            alike.computeIfAbsent(question.topic().alike(), any -> new ArrayList<>())
                    .add(question);
        }
        return new Agenda(alike.values().stream()
                .map(questions -> {
                    Topic topic = questions.get(0).topic();
                    return new Item(topic, needs.worth(topic.figure(), topic.athlete()), questions);
                })
                .sorted(Comparator.comparingDouble((Item item) -> -item.worth())
                        .thenComparing(item -> -item.questions().size()))
                .toList());
    }

    /** {@return all questions, in the order in which they are asked} */
    public List<PassQuestion> questions() {
        return items.stream().flatMap(item -> item.questions().stream()).toList();
    }

    /** {@return the half that teaches less, rounded down} */
    public List<PassQuestion> rearHalf() {
        List<PassQuestion> all = questions();
        return all.subList(all.size() - all.size() / 2, all.size());
    }
}
