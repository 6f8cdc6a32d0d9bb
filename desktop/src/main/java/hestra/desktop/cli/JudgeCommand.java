package hestra.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;

import hestra.documents.exercise.ResponseJson;
import hestra.documents.file.Result;
import hestra.exercise.Exercise;
import hestra.exercise.Part;
import hestra.numbers.Marks;
import hestra.task.Response;
import hestra.task.Task;
import hestra.task.Truth;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Says how answers to a task would be judged: those of a student who has the true data, with nothing set aside. */
@Command(name = "judge",
        description =
        "Say how answers to a task of an exercise would be judged: for a student who has the true data, with nothing set aside.",
        mixinStandardHelpOptions = true, sortOptions = false)
public final class JudgeCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", description = "the exercise (.hestra)")
    private Path file;

    @Option(names = "--task", required = true, paramLabel = "ID",
            description = "the task; a wrong one lists those that there are")
    private String taskId;

    @ArgGroup(multiplicity = "1")
    private Given given;

    @Option(names = "--json", description = "print one line of JSON for each answer")
    private boolean json;

    private static final class Given {
        @Option(names = "--answer", required = true, paramLabel = "TEXT",
                description = "an answer as one would type it: a number, an equation, a choice by its text, a sentence")
        private String answer;

        @Option(names = "--answers", required = true, paramLabel = "ANSWERS",
                description = "a text file with an answer on each line")
        private Path answers;
    }

    @Override
    public Integer call() {
        return switch (OwnExercise.read(file)) {
            case Result.Refused<Exercise>(String message) -> refuse(message);
            case Result.Done<Exercise>(Exercise exercise) -> judged(exercise);
        };
    }

    private int judged(Exercise exercise) {
        for (Part part : exercise.parts()) {
            for (Task task : part.tasks()) {
                if (task.id().equals(taskId)) {
                    return judged(exercise, task, part.truth(exercise.mark()));
                }
            }
        }
        return refuse(exercise.tasks().isEmpty()
                ? "This exercise asks nothing."
                : "There is no task “" + taskId + "” in this exercise. Its tasks are: "
                + String.join(", ", exercise.tasks().stream().map(Task::id).toList()) + ".");
    }

    private int judged(Exercise exercise, Task task, Truth truth) {
        List<String> answers;
        try {
            answers = given.answer != null ? List.of(given.answer) : Files.readAllLines(given.answers, StandardCharsets.UTF_8);
        } catch (MalformedInputException e) {
            return refuse("“" + given.answers + "” is not a text file in UTF-8.");
        } catch (IOException e) {
            return refuse("The file of answers “" + given.answers + "” could not be read.");
        }
        PrintWriter out = spec.commandLine().getOut();
        for (String answer : answers) {
            Response response = Response.to(answer, task, truth, attempt -> exercise.judge(task, attempt, truth));
            out.println(json ? ResponseJson.line(response) : inWords(response, exercise.inMarks()));
        }
        out.flush();
        return 0;
    }

    private static String inWords(Response response, Marks inMarks) {
        String marks = response.verdict().isEmpty() ? "" : ", " + inMarks.of(response.marks()) + " of " + response.of();
        return response.answer() + "\n    " + response.outcome() + marks + ": " + response.message();
    }

    private int refuse(String message) {
        spec.commandLine().getErr().println(message);
        return 1;
    }
}
