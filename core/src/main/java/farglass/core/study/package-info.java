/** What is being looked into: a study, or a study with a date (a camp), and how much each bout weighs in it. */
package farglass.core.study;
