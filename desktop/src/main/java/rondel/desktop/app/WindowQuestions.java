package rondel.desktop.app;

import rondel.desktop.files.Questions;
import rondel.desktop.gang.planning.GangQuestions;
import rondel.desktop.handoff.making.HandOffQuestions;
import rondel.desktop.preferences.FolderChoice;
import rondel.desktop.run.running.RunQuestions;

/** All that a window asks the person. */
public interface WindowQuestions extends Questions, GangQuestions, RunQuestions, HandOffQuestions, FolderChoice {}
